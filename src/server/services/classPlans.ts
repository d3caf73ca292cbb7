/** The stored class plan of a tree: reading, and saving with an optimistic revision. */
export { maybeOnePlan as findPlan, putPlan as savePlan, type StoredPlan } from '../queries/classPlans';
