package notchbook.app.remark;

import static notchbook.tables.Tables.STOCK_REMARK;

import java.util.List;
import java.util.UUID;
import notchbook.app.remark.StockRemarks.StockRemark;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class StockRemarkStore {
    private final DSLContext db;

    StockRemarkStore(DSLContext db) {
        this.db = db;
    }

    List<StockRemark> of(UUID personId) {
        return db.selectFrom(STOCK_REMARK)
                .where(STOCK_REMARK.PERSON_ID.eq(personId))
                .orderBy(STOCK_REMARK.POSITION)
                .fetch(found -> new StockRemark(found.get(STOCK_REMARK.ID), found.get(STOCK_REMARK.WORDS)));
    }

    void replace(UUID personId, List<StockRemark> all) {
        db.deleteFrom(STOCK_REMARK).where(STOCK_REMARK.PERSON_ID.eq(personId)).execute();
        for (var i = 0; i < all.size(); i++) {
            db.insertInto(STOCK_REMARK)
                    .set(STOCK_REMARK.ID, all.get(i).id())
                    .set(STOCK_REMARK.PERSON_ID, personId)
                    .set(STOCK_REMARK.POSITION, i)
                    .set(STOCK_REMARK.WORDS, all.get(i).words().strip())
                    .execute();
        }
    }
}
