package notchbook.app.reading;

import static notchbook.tables.Tables.READER_LINK_RULE;

import notchbook.app.people.Person;
import notchbook.core.reading.LinkRule;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who decides in this school about links for readers outside; its keepers say. */
@Service
public class LinkRules {
    private final DSLContext db;

    LinkRules(DSLContext db) {
        this.db = db;
    }

    LinkRule now() {
        return LinkRule.valueOf(db.selectFrom(READER_LINK_RULE).fetchSingle(READER_LINK_RULE.RULE));
    }

    /** Holds for links that are made from now on. */
    @Transactional
    public void decide(Person keeper, LinkRule rule) {
        keeper.requireKeeper();
        db.update(READER_LINK_RULE).set(READER_LINK_RULE.RULE, rule.name()).execute();
    }
}
