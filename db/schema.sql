CREATE TABLE public.catalogue_entries (
    gym_id uuid NOT NULL,
    kind text NOT NULL,
    entry_id text NOT NULL,
    body jsonb NOT NULL,
    updated_at timestamp with time zone DEFAULT now() NOT NULL,
    CONSTRAINT catalogue_entries_body_same_id CHECK ((((body ->> 'id'::text) = entry_id) AND ((body ->> 'kind'::text) = kind))),
    CONSTRAINT catalogue_entries_kind_known CHECK ((kind = ANY (ARRAY['changedPosition'::text, 'changedTransition'::text, 'position'::text, 'transition'::text])))
);

CREATE TABLE public.class_plans (
    gym_id uuid NOT NULL,
    tree_id text NOT NULL,
    plan jsonb NOT NULL,
    revision integer DEFAULT 1 NOT NULL,
    updated_at timestamp with time zone DEFAULT now() NOT NULL
);

CREATE TABLE public.gyms (
    gym_id uuid DEFAULT gen_random_uuid() NOT NULL,
    name text NOT NULL,
    demo_loaded_at timestamp with time zone,
    created_at timestamp with time zone DEFAULT now() NOT NULL,
    CONSTRAINT gyms_name_filled CHECK ((name ~ '\S'::text))
);

CREATE TABLE public.positions (
    gym_id uuid NOT NULL,
    tree_id text NOT NULL,
    position_id text NOT NULL,
    ordinal integer NOT NULL,
    name text NOT NULL,
    family text NOT NULL,
    body jsonb NOT NULL,
    CONSTRAINT positions_body_same_id CHECK (((body ->> 'id'::text) = position_id))
);

CREATE TABLE public.schema_migrations (
    name text NOT NULL,
    sha256 text NOT NULL,
    applied_at timestamp with time zone DEFAULT now() NOT NULL
);

CREATE TABLE public.transitions (
    gym_id uuid NOT NULL,
    tree_id text NOT NULL,
    transition_id text NOT NULL,
    ordinal integer NOT NULL,
    from_position text NOT NULL,
    to_position text NOT NULL,
    actor text NOT NULL,
    name text NOT NULL,
    body jsonb NOT NULL,
    CONSTRAINT transitions_actor_known CHECK ((actor = ANY (ARRAY['owner'::text, 'opponent'::text]))),
    CONSTRAINT transitions_body_same_id CHECK (((body ->> 'id'::text) = transition_id))
);

CREATE TABLE public.tree_changes (
    gym_id uuid NOT NULL,
    tree_id text NOT NULL,
    revision integer NOT NULL,
    label text NOT NULL,
    diff jsonb NOT NULL,
    made_at timestamp with time zone DEFAULT now() NOT NULL,
    made_by text,
    CONSTRAINT tree_changes_made_by_filled CHECK (((made_by ~ '\S'::text) AND (length(made_by) <= 80)))
);

CREATE TABLE public.trees (
    gym_id uuid NOT NULL,
    tree_id text NOT NULL,
    name text NOT NULL,
    owner text NOT NULL,
    header jsonb NOT NULL,
    revision integer DEFAULT 1 NOT NULL,
    created_at timestamp with time zone DEFAULT now() NOT NULL,
    updated_at timestamp with time zone DEFAULT now() NOT NULL,
    CONSTRAINT trees_name_filled CHECK ((name ~ '\S'::text)),
    CONSTRAINT trees_owner_known CHECK ((owner = ANY (ARRAY['passer'::text, 'guardPlayer'::text]))),
    CONSTRAINT trees_revision_positive CHECK ((revision > 0))
);

ALTER TABLE ONLY public.catalogue_entries
    ADD CONSTRAINT catalogue_entries_pkey PRIMARY KEY (gym_id, kind, entry_id);

ALTER TABLE ONLY public.class_plans
    ADD CONSTRAINT class_plans_pkey PRIMARY KEY (gym_id, tree_id);

ALTER TABLE ONLY public.gyms
    ADD CONSTRAINT gyms_pkey PRIMARY KEY (gym_id);

ALTER TABLE ONLY public.positions
    ADD CONSTRAINT positions_pkey PRIMARY KEY (gym_id, tree_id, position_id);

ALTER TABLE ONLY public.schema_migrations
    ADD CONSTRAINT schema_migrations_pkey PRIMARY KEY (name);

ALTER TABLE ONLY public.transitions
    ADD CONSTRAINT transitions_pkey PRIMARY KEY (gym_id, tree_id, transition_id);

ALTER TABLE ONLY public.tree_changes
    ADD CONSTRAINT tree_changes_pkey PRIMARY KEY (gym_id, tree_id, revision);

ALTER TABLE ONLY public.trees
    ADD CONSTRAINT trees_pkey PRIMARY KEY (gym_id, tree_id);

CREATE INDEX transitions_from_position_idx ON public.transitions USING btree (gym_id, tree_id, from_position);

CREATE INDEX transitions_to_position_idx ON public.transitions USING btree (gym_id, tree_id, to_position);

ALTER TABLE ONLY public.catalogue_entries
    ADD CONSTRAINT catalogue_entries_gym_fkey FOREIGN KEY (gym_id) REFERENCES public.gyms(gym_id) ON DELETE CASCADE;

ALTER TABLE ONLY public.class_plans
    ADD CONSTRAINT class_plans_tree_fkey FOREIGN KEY (gym_id, tree_id) REFERENCES public.trees(gym_id, tree_id) ON DELETE CASCADE;

ALTER TABLE ONLY public.positions
    ADD CONSTRAINT positions_tree_fkey FOREIGN KEY (gym_id, tree_id) REFERENCES public.trees(gym_id, tree_id) ON DELETE CASCADE;

ALTER TABLE ONLY public.transitions
    ADD CONSTRAINT transitions_from_fkey FOREIGN KEY (gym_id, tree_id, from_position) REFERENCES public.positions(gym_id, tree_id, position_id) DEFERRABLE INITIALLY DEFERRED;

ALTER TABLE ONLY public.transitions
    ADD CONSTRAINT transitions_to_fkey FOREIGN KEY (gym_id, tree_id, to_position) REFERENCES public.positions(gym_id, tree_id, position_id) DEFERRABLE INITIALLY DEFERRED;

ALTER TABLE ONLY public.transitions
    ADD CONSTRAINT transitions_tree_fkey FOREIGN KEY (gym_id, tree_id) REFERENCES public.trees(gym_id, tree_id) ON DELETE CASCADE;

ALTER TABLE ONLY public.tree_changes
    ADD CONSTRAINT tree_changes_tree_fkey FOREIGN KEY (gym_id, tree_id) REFERENCES public.trees(gym_id, tree_id) ON DELETE CASCADE;

ALTER TABLE ONLY public.trees
    ADD CONSTRAINT trees_gym_fkey FOREIGN KEY (gym_id) REFERENCES public.gyms(gym_id) ON DELETE CASCADE;
