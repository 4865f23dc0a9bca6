/** What somebody has typed who knocks; kept in their tab until it is sent. */
export interface Typed {
    title: string;
    details: string;
    work: string;
    student: string;
    name: string;
    email: string;
    phone: string;
    place: number | null;
    answers: Record<string, unknown>;
    /** The doors of those who have to be there too. */
    with: string[];
}
