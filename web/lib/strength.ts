import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';

const guess = new ZxcvbnFactory({ graphs: adjacencyGraphs, dictionary });

/** From 0, guessed at once, to 4. What is longer than people guess at is not looked at to its end. */
export const strength = (password: string): number => guess.check(password.slice(0, 100)).score;
