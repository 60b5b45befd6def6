package notchbook.demo;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.handin.HandIns.Aim;
import notchbook.app.handin.HandIns.Manner;
import notchbook.app.handin.Word;
import notchbook.app.setwork.SetWork;
import notchbook.core.handin.GoesAlong;
import notchbook.core.handin.Picked;
import notchbook.core.handin.Purpose;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.Patterns;
import notchbook.core.remark.Anchor;
import notchbook.core.remark.Saying;
import notchbook.core.setwork.Asked;
import notchbook.core.setwork.Criteria;
import notchbook.core.setwork.Criteria.Criterion;
import notchbook.core.setwork.Criteria.Level;
import notchbook.core.setwork.Due;
import notchbook.demo.NotebookMaker.Book;
import org.springframework.stereotype.Component;

/** What was asked in each class and how far it has come: hand-ins in every state. */
@Component
class HandInRounds {
    /** The classmate whose second version has everything changed that can change. */
    private static final int REWORKED = 3;

    private static final Criteria ECHO_CRITERIA = new Criteria(List.of(
            new Criterion(
                    "Measures",
                    List.of(
                            new Level("one clap, by hand", 0),
                            new Level("many claps, then divided", 2),
                            new Level("and says how far it may be out", 4))),
            new Criterion(
                    "Shows the way of the sound",
                    List.of(
                            new Level("not drawn", 0),
                            new Level("drawn, one way only", 1),
                            new Level("drawn there and back", 3))),
            new Criterion(
                    "Says it in own words",
                    List.of(new Level("as in the book", 0), new Level("so that a friend would follow", 2)))));

    private final Cast cast;
    private final HandInMaker handIns;
    private final HandInRemarks remarks;
    private final NotebookMaker maker;

    HandInRounds(Cast cast, HandInMaker handIns, HandInRemarks remarks, NotebookMaker maker) {
        this.cast = cast;
        this.remarks = remarks;
        this.handIns = handIns;
        this.maker = maker;
    }

    void make(Map<String, Book> books, List<Book> classBooks, DemoCalendar calendar) {
        handIns.keepSentences(cast.tolland);
        var physics = books.get("physics");
        var waves = handIns.set(
                cast.tolland,
                cast.physics,
                physics.nodes().get("1.1"),
                "Two kinds of wave",
                "One page that tells transverse from longitudinal, with a drawing.",
                calendar.day(3, 4));
        var echo = handIns.set(
                cast.tolland,
                cast.physics,
                physics.nodes().get("2.3"),
                "Echo practical",
                "Time an echo, say how far the wall is, and what could be wrong with it. Typed, drawn and a photo.",
                new Due(calendar.day(DemoCalendar.THIS_WEEK, 4), Optional.of(LocalTime.of(16, 0))),
                new Asked(Set.of(EvidenceKind.TYPED, EvidenceKind.PHOTO), Optional.empty(), false, Optional.empty()),
                ECHO_CRITERIA);
        var mirrors = handIns.set(
                cast.tolland,
                cast.physics,
                physics.nodes().get("3.1"),
                "Ray diagrams",
                "Three rays at a mirror, drawn with a ruler.",
                new Due(calendar.day(13, 2), Optional.of(LocalTime.of(9, 0))),
                new Asked(Set.of(), Optional.empty(), false, Optional.of(Patterns.OBSERVATION)),
                Criteria.NONE);
        sendAll(waves, "1.1", physics, classBooks, calendar);
        var section = physics.sections().get("2.3");
        var first = handIns.seal(cast.marlo, section, echo, calendar.day(11, 0));
        handIns.open(cast.tolland, first, calendar.day(11, 1));
        remarks.sayAll(cast.tolland, cast.marlo, section, first);
        handIns.sendBack(cast.tolland, first);
        remarks.answerFirst(cast.marlo, first, "Only one. I will time twenty.");
        sendEcho(echo, classBooks, calendar);
        for (var i = 2; i < classBooks.size(); i += 3) {
            handIns.seal(
                    classBooks.get(i).owner(),
                    classBooks.get(i).sections().get("3.1"),
                    mirrors,
                    maker.pastOrToday(calendar.day(DemoCalendar.THIS_WEEK, 0)));
        }
        handIns.tellBegun(
                cast.tolland,
                echo,
                "The hall is free on Thursday at break if you want to time your echo again.",
                maker.pastOrToday(calendar.day(DemoCalendar.THIS_WEEK, 0)));
        askInGeography(books.get("geography"), calendar);
        askInMusic(books.get("music"), calendar);
    }

    /** What nobody asked for: a sheet with a question, a page that two made, a draft of what is still to come. */
    void sendUnasked(Book marlo, List<Book> classBooks, DemoCalendar calendar) {
        var unasked = new Aim(Optional.empty(), true);
        var asking = new Word("Is this enough, or should I say more about the test?", Optional.empty());
        var sheet = new Picked.OfSheet(marlo.notebook().id(), calendar.day(10, 0));
        var sent = handIns.send(
                cast.marlo, sheet, unasked, manner(Purpose.HAND_IN, List.of(), asking), calendar.day(11, 0));
        handIns.open(cast.tolland, sent, calendar.day(11, 2));
        handIns.say(
                cast.tolland,
                sent,
                new Anchor.Whole(),
                Saying.typed("Enough. Say next time what you will do about it."));
        handIns.sendBack(cast.tolland, sent);
        var two = classBooks.get(6);
        var page = new Picked.OfPages(
                List.of(handIns.firstPage(two.owner(), two.sections().get("1.1"))));
        var together = new Word("We made the drawing together.", Optional.empty());
        handIns.send(
                two.owner(),
                page,
                unasked,
                manner(Purpose.HAND_IN, List.of(classBooks.get(7).owner().id()), together),
                maker.pastOrToday(calendar.day(DemoCalendar.THIS_WEEK, 0)));
    }

    private static Manner manner(Purpose purpose, List<UUID> with, Word word) {
        return new Manner(purpose, with, word, GoesAlong.NOTHING, false, true);
    }

    private void askInGeography(Book geography, DemoCalendar calendar) {
        var meander = handIns.set(
                cast.farrant,
                cast.geography,
                geography.nodes().get("1.3"),
                "Meander section",
                "A labelled cross-section.",
                calendar.day(4, 4));
        handIns.set(
                cast.farrant,
                cast.geography,
                geography.nodes().get("2.5"),
                "Coast walk write-up",
                "What each defence costs, and whom.",
                calendar.day(DemoCalendar.THIS_WEEK, 4));
        var bend = handIns.seal(cast.marlo, geography.sections().get("1.3"), meander, calendar.day(4, 3));
        handIns.decide(
                cast.farrant,
                cast.marlo,
                geography.sections().get("1.3"),
                bend,
                calendar.day(5, 0),
                true,
                "Clear, and the depth is right.");
    }

    private void askInMusic(Book music, DemoCalendar calendar) {
        var motif = handIns.set(
                cast.farrant,
                cast.music,
                music.nodes().get("3.1"),
                "Four-note motif",
                "Write it down, play it, and turn it once.",
                calendar.day(DemoCalendar.THIS_WEEK, 2));
        handIns.seal(cast.marlo, music.sections().get("3.1"), motif, calendar.day(11, 4));
    }

    private void sendAll(SetWork waves, String topic, Book marlo, List<Book> classBooks, DemoCalendar calendar) {
        var all = new ArrayList<>(List.of(marlo));
        all.addAll(classBooks.subList(0, 10));
        for (var book : all) {
            var section = book.sections().get(topic);
            var version = handIns.seal(book.owner(), section, waves, calendar.day(3, 3));
            handIns.decide(
                    cast.tolland, book.owner(), section, version, calendar.day(4, 0), true, "Good: the arrows say it.");
        }
    }

    private void sendEcho(SetWork echo, List<Book> classBooks, DemoCalendar calendar) {
        var monday = maker.pastOrToday(calendar.day(DemoCalendar.THIS_WEEK, 0));
        var drafting = classBooks.get(9);
        handIns.send(
                drafting.owner(),
                new Picked.OfSection(drafting.sections().get("2.3")),
                Aim.at(echo),
                manner(
                        Purpose.DRAFT,
                        List.of(),
                        new Word("I have not measured the wind yet. Does it matter?", Optional.empty())),
                monday);
        for (var i = 0; i < 9; i++) {
            var book = classBooks.get(i);
            var section = book.sections().get("2.3");
            var version = handIns.seal(book.owner(), section, echo, i < 5 ? calendar.day(11, i) : monday);
            if (i == REWORKED) {
                handIns.open(cast.tolland, version, calendar.day(11, 4));
                remarks.sayAll(cast.tolland, book.owner(), section, version);
                handIns.sendBack(cast.tolland, version);
                remarks.answerFirst(book.owner(), version, "Twenty claps now, see the sentence.");
                remarks.rework(book.owner(), section);
                handIns.seal(book.owner(), section, echo, monday);
                continue;
            }
            switch (i) {
                case 0, 1 -> {
                    handIns.open(cast.tolland, version, monday);
                    handIns.judge(cast.tolland, version, 1 + i, 2 - i, 1);
                    handIns.decide(
                            cast.tolland, book.owner(), section, version, monday, true, "Right comparison to make.");
                }
                case 2 ->
                    handIns.decide(
                            cast.tolland,
                            book.owner(),
                            section,
                            version,
                            monday,
                            false,
                            "You say “about”: give the figure.",
                            "Where is the normal?");
                case 4 -> handIns.open(cast.tolland, version, monday);
                default -> {
                    // the others wait to be read
                }
            }
        }
    }
}
