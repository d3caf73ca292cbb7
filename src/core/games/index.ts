export { bestReply, guarantee, type MatrixGame } from './game';
export { gameValue, solveGame, type GameSolution } from './matrixGame';
export { RememberedGames } from './rememberedGames';
