export { bestReply, gameValue, guarantee, solveGame, type GameSolution, type MatrixGame } from './matrixGame';
