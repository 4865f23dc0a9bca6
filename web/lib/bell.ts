/** Says that somebody is called in: with a sound, a notification where that is allowed, and a buzz on phones. */
let sound: AudioContext | undefined;

/** Browsers make sounds only after a press: called with one. */
export function readyBell(): void {
    if (typeof AudioContext === 'undefined') return;
    sound ??= new AudioContext();
    void sound.resume();
}

/** Asks whether this device may say it while the page is not looked at. */
export async function allowNotices(): Promise<boolean> {
    if (typeof Notification === 'undefined') return false;
    return (await Notification.requestPermission()) === 'granted';
}
export const mayAskForNotices = (): boolean =>
    typeof Notification !== 'undefined' && Notification.permission === 'default';

export function ring(title: string, text: string): void {
    navigator.vibrate?.([200, 100, 200]);
    tones();
    void notice(title, text);
}

/** Two strokes of a bell. */
function tones(): void {
    if (!sound || sound.state !== 'running') return;
    for (const [pitch, after] of [
        [660, 0],
        [880, 0.35],
    ] as const) {
        const tone = sound.createOscillator();
        const loudness = sound.createGain();
        const at = sound.currentTime + after;
        tone.frequency.value = pitch;
        loudness.gain.setValueAtTime(0.3, at);
        loudness.gain.exponentialRampToValueAtTime(0.001, at + 0.9);
        tone.connect(loudness).connect(sound.destination);
        tone.start(at);
        tone.stop(at + 1);
    }
}

async function notice(title: string, body: string): Promise<void> {
    if (typeof Notification === 'undefined' || Notification.permission !== 'granted') return;
    try {
        // Phones show one only through a worker.
        const worker = await navigator.serviceWorker?.register('/bell.js');
        if (worker) await worker.showNotification(title, { body, tag: 'called-in', icon: '/icon.svg' });
        else new Notification(title, { body, tag: 'called-in', icon: '/icon.svg' });
    } catch {
        // Not allowed after all: the page says it, too.
    }
}
