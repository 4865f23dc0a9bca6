import './app.css';
// On every page: back and forward between a sheet and the pass that came of it, also after a reload.
import './lib/address';
import { mountPage } from './lib/page';

// What visitors load: small, for an old phone. Each page is a part of its own, which the document names beside this one.
void mountPage(
    {},
    {
        Board: () => import('./pages/Board.svelte'),
        Door: () => import('./pages/Door.svelte'),
        Find: () => import('./pages/Find.svelte'),
        Frame: () => import('./pages/Frame.svelte'),
        Knock: () => import('./pages/Knock.svelte'),
        Kiosk: () => import('./pages/Kiosk.svelte'),
        Mailroom: () => import('./pages/Mailroom.svelte'),
        Pass: () => import('./pages/Pass.svelte'),
        Round: () => import('./pages/Round.svelte'),
        VideoRoom: () => import('./pages/VideoRoom.svelte'),
        Visit: () => import('./pages/Visit.svelte'),
    },
);
