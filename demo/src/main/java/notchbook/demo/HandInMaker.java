package notchbook.demo;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.contents.Contents;
import notchbook.app.handin.Checking;
import notchbook.app.handin.HandIns;
import notchbook.app.handin.HandIns.Aim;
import notchbook.app.handin.HandIns.Manner;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.platform.SchoolClock;
import notchbook.app.remark.Remarks;
import notchbook.app.remark.StockRemarks;
import notchbook.app.remark.StockRemarks.StockRemark;
import notchbook.app.setwork.SetWork;
import notchbook.app.setwork.SetWorks;
import notchbook.core.handin.Picked;
import notchbook.core.remark.Anchor;
import notchbook.core.remark.Saying;
import notchbook.core.setwork.Asked;
import notchbook.core.setwork.AskedOf;
import notchbook.core.setwork.Criteria;
import notchbook.core.setwork.Due;
import notchbook.core.setwork.DueDays;
import org.springframework.stereotype.Component;

/** Hands work in and checks it, as the demo's students and teachers would have. */
@Component
class HandInMaker {
    private static final int SET_BEFORE_DAYS = 14;

    private final SetWorks setWorks;
    private final HandIns handIns;
    private final Checking checking;
    private final Contents contents;
    private final StockRemarks stock;
    private final DemoClock clock;
    private final SchoolClock schoolClock;

    HandInMaker(
            SetWorks setWorks,
            HandIns handIns,
            Checking checking,
            Contents contents,
            StockRemarks stock,
            DemoClock clock,
            SchoolClock schoolClock) {
        this.schoolClock = schoolClock;
        this.stock = stock;
        this.setWorks = setWorks;
        this.handIns = handIns;
        this.checking = checking;
        this.contents = contents;
        this.clock = clock;
    }

    SetWork set(Person teacher, SchoolClass schoolClass, UUID topic, String title, String instructions, LocalDate due) {
        return set(teacher, schoolClass, topic, title, instructions, Due.on(due), Asked.NOTHING, Criteria.NONE);
    }

    SetWork set(
            Person teacher,
            SchoolClass schoolClass,
            UUID topic,
            String title,
            String instructions,
            Due due,
            Asked asked,
            Criteria criteria) {
        var work = new SetWork(
                UUID.randomUUID(),
                schoolClass.id(),
                title,
                instructions,
                topic,
                new DueDays(due, Map.of()),
                teacher.id(),
                AskedOf.ALL,
                asked,
                criteria,
                schoolClock.at(due.day().minusDays(SET_BEFORE_DAYS).atTime(9, 0)),
                false);
        setWorks.set(teacher, work);
        return work;
    }

    /** Tells those who have begun something about what is asked. */
    void tellBegun(Person teacher, SetWork work, String word, LocalDate day) {
        clock.holdAt(day, LocalTime.of(15, 20));
        setWorks.set(teacher, work, word);
    }

    /** Seals a section on an evening, whatever is missing. */
    UUID seal(Person student, UUID section, SetWork work, LocalDate day) {
        return send(student, new Picked.OfSection(section), Aim.at(work), Manner.PLAIN, day);
    }

    /** Seals whatever was picked on an evening. */
    UUID send(Person student, Picked picked, Aim aim, Manner manner, LocalDate day) {
        clock.holdAt(day, LocalTime.of(18, 42));
        return handIns.seal(student, new HandIns.Wish(UUID.randomUUID(), picked, aim, manner))
                .id();
    }

    /** Judges a version by each criterion of its set work in turn. */
    void judge(Person teacher, UUID handIn, int... levels) {
        for (var criterion = 0; criterion < levels.length; criterion++) {
            checking.judge(teacher, handIn, criterion, Optional.of(levels[criterion]));
        }
    }

    UUID firstPage(Person student, UUID section) {
        return contents.of(student, section).pages().getFirst().id();
    }

    void open(Person teacher, UUID handIn, LocalDate day) {
        clock.holdAt(day, LocalTime.of(16, 5));
        checking.open(teacher, handIn);
    }

    /** Opens a version, puts remarks on its first entries in order, and marks it checked or sends it back. */
    void decide(
            Person teacher,
            Person student,
            UUID section,
            UUID handIn,
            LocalDate day,
            boolean isChecked,
            String... remarks) {
        open(teacher, handIn, day);
        var entries = contents.of(student, section).entries();
        for (var i = 0; i < Math.min(remarks.length, entries.size()); i++) {
            say(teacher, handIn, new Anchor.OnEntry(entries.get(i).id()), Saying.typed(remarks[i]));
        }
        if (isChecked) {
            checking.markChecked(teacher, handIn);
        } else {
            sendBack(teacher, handIn);
        }
    }

    void sendBack(Person teacher, UUID handIn) {
        checking.sendBack(teacher, handIn);
    }

    /** The sentences that a teacher puts in by a key. */
    void keepSentences(Person teacher) {
        stock.keep(
                teacher,
                Stream.of("Say how you know.", "Units, please.", "How large is the error?", "Draw it as well.")
                        .map(words -> new StockRemark(UUID.randomUUID(), words))
                        .toList());
    }

    void say(Person teacher, UUID handIn, Anchor anchor, Saying saying) {
        checking.remark(teacher, new Remarks.Wish(UUID.randomUUID(), handIn, anchor, saying, Optional.empty()));
    }
}
