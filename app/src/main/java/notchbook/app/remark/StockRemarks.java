package notchbook.app.remark;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sentences that a teacher says again and again, to be put in by a key. */
@Service
public class StockRemarks {
    private static final int MOST = 60;
    private static final int LONGEST = 500;

    private final StockRemarkStore store;

    StockRemarks(StockRemarkStore store) {
        this.store = store;
    }

    public record StockRemark(UUID id, String words) {}

    List<StockRemark> of(Person teacher) {
        teacher.requireTeacher();
        return store.of(teacher.id());
    }

    /** Keeps a teacher's sentences as they are now, in this order. */
    @Transactional
    public void keep(Person teacher, List<StockRemark> all) {
        teacher.requireTeacher();
        if (all.size() > MOST) {
            throw Refusal.unfit("Keep up to 60 sentences. Leave out what you no longer say.");
        }
        if (all.stream().anyMatch(one -> one.words().isBlank() || one.words().length() > LONGEST)) {
            throw Refusal.unfit("Each sentence has 1 to 500 characters.");
        }
        store.replace(teacher.id(), all);
    }
}
