CREATE FUNCTION public.refuse_update() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
begin
  raise exception 'a fact is never changed' using errcode = 'restrict_violation', constraint = 'facts_never_change';
end $$;

CREATE TABLE public.document_changes (
    gym_id uuid NOT NULL,
    kind text NOT NULL,
    document_id text NOT NULL,
    revision integer NOT NULL,
    form integer NOT NULL,
    edit_id uuid,
    label text NOT NULL,
    diff jsonb NOT NULL,
    former jsonb,
    made_by text,
    made_at timestamp with time zone DEFAULT now() NOT NULL,
    CONSTRAINT document_changes_made_by_filled CHECK (((made_by ~ '\S'::text) AND (length(made_by) <= 80)))
);

CREATE TABLE public.document_rows (
    gym_id uuid NOT NULL,
    kind text NOT NULL,
    document_id text NOT NULL,
    list text NOT NULL,
    row_id text NOT NULL,
    ordinal integer NOT NULL,
    body jsonb NOT NULL,
    CONSTRAINT document_rows_body_same_id CHECK (((body ->> 'id'::text) = row_id))
);

CREATE SEQUENCE public.document_touches
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;

CREATE TABLE public.documents (
    gym_id uuid NOT NULL,
    kind text NOT NULL,
    document_id text NOT NULL,
    form integer NOT NULL,
    revision integer DEFAULT 1 NOT NULL,
    name text NOT NULL,
    body jsonb NOT NULL,
    bytes integer DEFAULT 0 NOT NULL,
    touched bigint DEFAULT nextval('public.document_touches'::regclass) NOT NULL,
    created_at timestamp with time zone DEFAULT clock_timestamp() NOT NULL,
    updated_at timestamp with time zone DEFAULT now() NOT NULL,
    deleted_at timestamp with time zone,
    CONSTRAINT documents_body_same_id CHECK (((body ->> 'id'::text) = document_id)),
    CONSTRAINT documents_kind_is_a_word CHECK ((kind ~ '^[a-z][A-Za-z]{0,39}$'::text)),
    CONSTRAINT documents_name_filled CHECK ((name ~ '\S'::text)),
    CONSTRAINT documents_revision_positive CHECK (((revision > 0) AND (form > 0)))
);

CREATE TABLE public.facts (
    gym_id uuid NOT NULL,
    kind text NOT NULL,
    fact_id uuid NOT NULL,
    body jsonb NOT NULL,
    made_by text,
    made_at timestamp with time zone DEFAULT now() NOT NULL,
    CONSTRAINT facts_kind_is_a_word CHECK ((kind ~ '^[a-z][A-Za-z]{0,39}$'::text)),
    CONSTRAINT facts_made_by_filled CHECK (((made_by ~ '\S'::text) AND (length(made_by) <= 80)))
);

CREATE TABLE public.gyms (
    gym_id uuid DEFAULT gen_random_uuid() NOT NULL,
    name text NOT NULL,
    demo_loaded_at timestamp with time zone,
    created_at timestamp with time zone DEFAULT now() NOT NULL,
    is_home boolean,
    CONSTRAINT gyms_name_filled CHECK ((name ~ '\S'::text))
);

CREATE TABLE public.pictures (
    gym_id uuid NOT NULL,
    hash text NOT NULL,
    media_type text NOT NULL,
    bytes bytea NOT NULL,
    made_at timestamp with time zone DEFAULT now() NOT NULL,
    CONSTRAINT pictures_hash_is_of_its_bytes CHECK ((hash = encode(sha256(bytes), 'hex'::text))),
    CONSTRAINT pictures_media_type_known CHECK ((media_type = ANY (ARRAY['image/jpeg'::text, 'image/png'::text]))),
    CONSTRAINT pictures_small CHECK (((length(bytes) >= 1) AND (length(bytes) <= 200000)))
);
ALTER TABLE ONLY public.pictures ALTER COLUMN bytes SET STORAGE EXTERNAL;

CREATE TABLE public.schema_migrations (
    name text NOT NULL,
    sha256 text NOT NULL,
    applied_at timestamp with time zone DEFAULT now() NOT NULL
);

ALTER TABLE ONLY public.document_changes
    ADD CONSTRAINT document_changes_pkey PRIMARY KEY (gym_id, kind, document_id, revision);

ALTER TABLE ONLY public.document_rows
    ADD CONSTRAINT document_rows_pkey PRIMARY KEY (gym_id, kind, document_id, list, row_id);

ALTER TABLE ONLY public.documents
    ADD CONSTRAINT documents_pkey PRIMARY KEY (gym_id, kind, document_id);

ALTER TABLE ONLY public.facts
    ADD CONSTRAINT facts_pkey PRIMARY KEY (gym_id, kind, fact_id);

ALTER TABLE ONLY public.gyms
    ADD CONSTRAINT gyms_pkey PRIMARY KEY (gym_id);

ALTER TABLE ONLY public.pictures
    ADD CONSTRAINT pictures_pkey PRIMARY KEY (gym_id, hash);

ALTER TABLE ONLY public.schema_migrations
    ADD CONSTRAINT schema_migrations_pkey PRIMARY KEY (name);

CREATE UNIQUE INDEX document_changes_edit_idx ON public.document_changes USING btree (gym_id, edit_id);

CREATE INDEX documents_touched_idx ON public.documents USING btree (gym_id, kind, touched DESC);

CREATE UNIQUE INDEX gyms_home_idx ON public.gyms USING btree (is_home) WHERE is_home;

CREATE TRIGGER facts_never_change BEFORE UPDATE ON public.facts FOR EACH ROW EXECUTE FUNCTION public.refuse_update();

ALTER TABLE ONLY public.document_changes
    ADD CONSTRAINT document_changes_document_fkey FOREIGN KEY (gym_id, kind, document_id) REFERENCES public.documents(gym_id, kind, document_id) ON DELETE CASCADE;

ALTER TABLE ONLY public.document_rows
    ADD CONSTRAINT document_rows_document_fkey FOREIGN KEY (gym_id, kind, document_id) REFERENCES public.documents(gym_id, kind, document_id) ON DELETE CASCADE;

ALTER TABLE ONLY public.documents
    ADD CONSTRAINT documents_gym_fkey FOREIGN KEY (gym_id) REFERENCES public.gyms(gym_id) ON DELETE CASCADE;

ALTER TABLE ONLY public.facts
    ADD CONSTRAINT facts_gym_fkey FOREIGN KEY (gym_id) REFERENCES public.gyms(gym_id) ON DELETE CASCADE;

ALTER TABLE ONLY public.pictures
    ADD CONSTRAINT pictures_gym_fkey FOREIGN KEY (gym_id) REFERENCES public.gyms(gym_id) ON DELETE CASCADE;
