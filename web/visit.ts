import './app.css';
import { mountPage } from './lib/page';
import Board from './pages/Board.svelte';
import Door from './pages/Door.svelte';
import Visit from './pages/Visit.svelte';

// What visitors load: small, for an old phone. What few of them open comes when it is opened.
void mountPage(
    { Board, Door, Visit },
    {
        Find: () => import('./pages/Find.svelte'),
        Frame: () => import('./pages/Frame.svelte'),
        Knock: () => import('./pages/Knock.svelte'),
        Kiosk: () => import('./pages/Kiosk.svelte'),
        Round: () => import('./pages/Round.svelte'),
        Pass: () => import('./pages/Pass.svelte'),
        Mailroom: () => import('./pages/Mailroom.svelte'),
        VideoRoom: () => import('./pages/VideoRoom.svelte'),
    },
);
