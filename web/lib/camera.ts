import jsQR from 'jsqr';

/** Looks through a camera for a square code until it finds one or is ended. What it sees stays in the page. */
export async function lookForCode(video: HTMLVideoElement, found: (code: string) => void): Promise<() => void> {
    const stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'user' } });
    video.srcObject = stream;
    await video.play();
    const canvas = document.createElement('canvas');
    const picture = canvas.getContext('2d', { willReadFrequently: true });
    const timer = setInterval(() => {
        const { videoWidth: width, videoHeight: height } = video;
        if (!picture || width === 0) return;
        canvas.width = width;
        canvas.height = height;
        picture.drawImage(video, 0, 0, width, height);
        const code = jsQR(picture.getImageData(0, 0, width, height).data, width, height);
        if (code?.data) {
            end();
            found(code.data);
        }
    }, 200);
    const end = () => {
        clearInterval(timer);
        for (const track of stream.getTracks()) track.stop();
        video.srcObject = null;
    };
    return end;
}
