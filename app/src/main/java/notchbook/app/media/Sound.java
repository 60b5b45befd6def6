package notchbook.app.media;

import java.util.List;

/** A recording as it is kept: its format, its length in seconds and its loudness from 0 to 100 in equal steps. */
record Sound(SoundFormat format, double seconds, List<Integer> peaks) {}
