package notchbook.app.talk;

import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.media.Media;
import notchbook.app.people.Person;
import notchbook.app.platform.Jobs;
import notchbook.app.platform.MadeState;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.talk.Talk;
import notchbook.formats.ink.DrawingJson;
import notchbook.formats.voice.TakeJson;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The talk-throughs of students: put together of their entries, and the films that are made of them. */
@Service
class Talks {
    /** Each takes a core for a while. */
    private static final int MOST_WAITING = 10;

    private static final String NOT_DRAWN =
            "Nothing was drawn on this page while the recording ran. Choose the recording that explains it.";

    private final Entries entries;
    private final Media media;
    private final FilmStore films;
    private final Jobs jobs;
    private final SchoolClock clock;

    Talks(Entries entries, Media media, FilmStore films, Jobs jobs, SchoolClock clock) {
        this.entries = entries;
        this.media = media;
        this.films = films;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** What was drawn on an entry's surface ({@code at}: the page of a set) while a recording ran; both are the reader's. */
    Talked require(Person reader, UUID recording, UUID subject, int at) {
        return talked(entries.require(reader, recording), entries.require(reader, subject), at)
                .orElseThrow(() -> Refusal.unfit(NOT_DRAWN));
    }

    Optional<Talked> find(TalkFilm film) {
        return entries.find(film.recording()).flatMap(recording -> entries.find(film.subject())
                .flatMap(subject -> talked(recording, subject, film.at())));
    }

    private Optional<Talked> talked(Entry recording, Entry subject, int at) {
        if (!recording.kind().isPlayed()) {
            return Optional.empty();
        }
        var take = TakeJson.read(recording.content());
        var sound = recording.mediaId().flatMap(media::find).orElseThrow();
        if (subject.kind() == EntryKind.INK) {
            var talk = Talk.of(take, DrawingJson.read(subject.content()));
            return drawn(new Talked(subject.caption(), talk, take, sound, Optional.empty()));
        }
        if (subject.kind() != EntryKind.PHOTO) {
            return Optional.empty();
        }
        return subject.photoPages().stream()
                .skip(Math.max(0, at))
                .limit(1)
                .flatMap(page -> page.layer().stream()
                        .map(layer -> new Talked(
                                subject.caption(), Talk.of(take, layer), take, sound, media.find(page.picture()))))
                .findFirst()
                .flatMap(Talks::drawn);
    }

    private static Optional<Talked> drawn(Talked talked) {
        return Optional.of(talked).filter(one -> one.talk().through().isDrawn());
    }

    /** Has a film made. */
    @Transactional
    TalkFilm film(Person reader, UUID recording, UUID subject, int at, FilmFormat format) {
        require(reader, recording, subject, at);
        if (films.waiting(reader.id()) >= MOST_WAITING) {
            throw Refusal.unfit("Ten films of yours are being made. Wait until one of them is ready.");
        }
        var film = new TalkFilm(
                clock.newId(), reader.id(), recording, subject, at, format, MadeState.WAITING, 0, Optional.empty(), 0);
        films.insert(film, clock.now());
        jobs.want(FilmMaking.NAME, film.id());
        return film;
    }

    TalkFilm requireFilm(Person reader, UUID id) {
        return films.find(id)
                .filter(film -> film.ownerId().equals(reader.id()))
                .orElseThrow(() -> Refusal.notFound("film"));
    }
}
