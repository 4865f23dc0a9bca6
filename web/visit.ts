import './app.css';
import { mountPage } from './lib/page';
import Board from './pages/Board.svelte';
import Mailroom from './pages/Mailroom.svelte';
import Pass from './pages/Pass.svelte';
import Visit from './pages/Visit.svelte';

// What visitors load: small, for an old phone.
mountPage({ Board, Mailroom, Pass, Visit });
