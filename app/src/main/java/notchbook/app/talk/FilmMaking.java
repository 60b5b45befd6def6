package notchbook.app.talk;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.function.DoubleConsumer;
import javax.imageio.ImageIO;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.platform.Ffmpeg;
import notchbook.app.platform.Job;
import notchbook.app.platform.MadeState;
import notchbook.app.platform.SchoolClock;
import notchbook.app.platform.Steadily;
import notchbook.core.voice.SpokenLines;
import notchbook.core.voice.Trim;
import notchbook.formats.talk.TalkFrames;
import notchbook.formats.voice.WebVtt;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Makes films of talk-throughs: its pictures go to ffmpeg one by one, which puts the voice and the spoken lines beside them. */
@Component
class FilmMaking implements Job {
    static final String NAME = "talk-film";

    private static final Logger LOG = LoggerFactory.getLogger(FilmMaking.class);

    /** A hand that draws is smooth enough at this many pictures a second. */
    private static final int PICTURES = 12;

    private static final int WIDTH_PX = 1280;

    /** Two hours take less than this on one slow core. */
    private static final Duration LIMIT = Duration.ofHours(1);

    /** A film can be made again, so it is not kept for long. */
    private static final Duration KEPT = Duration.ofDays(7);

    private final Talks talks;
    private final FilmStore films;
    private final Media media;
    private final SchoolClock clock;

    FilmMaking(Talks talks, FilmStore films, Media media, SchoolClock clock) {
        this.talks = talks;
        this.films = films;
        this.media = media;
        this.clock = clock;
    }

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public void run(UUID filmId) {
        films.find(filmId).filter(film -> film.state() == MadeState.WAITING).ifPresent(this::make);
    }

    private void make(TalkFilm film) {
        try {
            var talked = talks.find(film);
            if (talked.isEmpty() || !isMade(film, talked.get())) {
                films.failed(film.id());
            }
        } catch (IOException | RuntimeException odd) {
            LOG.warn("No film could be made of {}", film.recording(), odd);
            films.failed(film.id());
        }
    }

    private boolean isMade(TalkFilm film, Talked talked) throws IOException {
        var folder = Files.createTempDirectory("notchbook-film");
        var made = folder.resolve("film." + film.format().extension);
        var captions = folder.resolve("lines.vtt");
        try {
            if (!write(film, talked, captions, made)) {
                return false;
            }
            films.ready(film.id(), media.keep(made), Files.size(made));
            return true;
        } finally {
            Files.deleteIfExists(captions);
            Files.deleteIfExists(made);
            Files.delete(folder);
        }
    }

    private boolean write(TalkFilm film, Talked talked, Path captions, Path made) throws IOException {
        var heard = talked.heard();
        var frames = new TalkFrames(talked.talk(), picture(talked.picture()), WIDTH_PX);
        var said = heard.inCopy(talked.take().lines());
        var arguments = new ArrayList<>(List.of(
                "-f",
                "rawvideo",
                "-pix_fmt",
                "bgr24",
                "-s",
                frames.widthPx() + "x" + frames.heightPx(),
                "-r",
                String.valueOf(PICTURES),
                "-i",
                "pipe:0",
                "-ss",
                seconds(heard.fromMillis()),
                "-to",
                seconds(heard.toMillis()),
                "-i",
                media.place(talked.sound()).toString()));
        arguments.addAll(captions(said, captions));
        arguments.addAll(List.of("-map", "0:v", "-map", "1:a:0", "-map_metadata", "-1"));
        if (!said.all().isEmpty()) {
            arguments.addAll(List.of("-map", "2:s", "-c:s", film.format().captions));
        }
        arguments.addAll(film.format().arguments());
        arguments.addAll(List.of("-y", made.toString()));
        return Ffmpeg.write(
                LIMIT,
                arguments,
                input -> draw(frames, heard, input, new Steadily(share -> films.share(film.id(), share))));
    }

    private static List<String> captions(SpokenLines lines, Path file) throws IOException {
        if (lines.all().isEmpty()) {
            return List.of();
        }
        Files.writeString(file, WebVtt.write(lines));
        return List.of("-i", file.toString());
    }

    private static void draw(TalkFrames frames, Trim heard, OutputStream film, DoubleConsumer progress)
            throws IOException {
        var length = heard.toMillis() - heard.fromMillis();
        var count = Math.ceilDiv(length * PICTURES, 1_000);
        for (var i = 0L; i < count; i++) {
            var picture = frames.at(heard.fromMillis() + 1_000 * i / PICTURES);
            film.write(((DataBufferByte) picture.getRaster().getDataBuffer()).getData());
            progress.accept((double) i / count);
        }
    }

    private Optional<BufferedImage> picture(Optional<MediaItem> item) throws IOException {
        if (item.isEmpty()) {
            return Optional.empty();
        }
        return Optional.ofNullable(ImageIO.read(new ByteArrayInputStream(media.screenContent(item.get()))));
    }

    private static String seconds(long millis) {
        return String.valueOf(millis / 1_000.0);
    }

    @Scheduled(initialDelay = 1, fixedDelay = 6, timeUnit = TimeUnit.HOURS)
    void cleanUp() {
        for (var film : films.before(clock.now().minus(KEPT))) {
            films.delete(film.id());
            film.sha256().ifPresent(media::forget);
        }
    }
}
