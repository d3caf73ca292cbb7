/** Parts of the body that can hold or be held; those of the second list come as left and right. */
export const MIDDLE_PARTS = 'head, crown, forehead, temple, jaw, chin, ear, neck, back of the neck, throat side, chest, ribs, belly, spine, small of the back, tail bone, waist, belt line, hips'; // prettier-ignore
export const SIDED_PARTS =
  'arm, leg, hand, palm, fingers, wrist, forearm, elbow, crook of the elbow, biceps, triceps, armpit, shoulder, shoulder blade, collar bone, hip, hip bone, hip crease, buttock, thigh, inner thigh, hamstring, knee, back of the knee, shin, calf, ankle, back of the ankle, heel, foot, instep, sole, toes'; // prettier-ignore

/** Spots of the garment, "spot @ part of the body | what serves without the jacket"; "-" = nothing does. */
export const GARMENT = `
sleeve cuff @ wrist | wrist
sleeve @ forearm | wrist
sleeve at the elbow @ elbow | elbow
sleeve at the shoulder @ shoulder | armpit
lapel @ chest | back of the neck
lapel low @ ribs | -
lapel deep @ throat side | back of the neck
collar @ neck | back of the neck
collar behind the neck @ back of the neck | back of the neck
jacket at the armpit @ armpit | armpit
jacket at the back @ spine | -
skirt of the jacket @ hip | hip
belt @ belt line | hips
waistband @ waist | waist
belt at the back @ small of the back | small of the back
trouser seat @ buttock | buttock
trouser hip @ hip | hip
trouser knee @ knee | back of the knee
trouser shin @ shin | ankle
trouser cuff @ ankle | ankle
`;
