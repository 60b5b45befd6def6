package notchbook.app;

import java.util.ArrayList;
import java.util.List;
import org.jooq.ExecuteContext;
import org.jooq.ExecuteListener;
import org.jooq.impl.DefaultExecuteListenerProvider;

/** The statements that the application sends to its database from the thread that asks. */
class Statements extends DefaultExecuteListenerProvider {
    private static final ThreadLocal<List<String>> SENT = ThreadLocal.withInitial(ArrayList::new);

    Statements() {
        super(new ExecuteListener() {
            @Override
            public void executeStart(ExecuteContext context) {
                SENT.get().add(String.valueOf(context.sql()));
            }
        });
    }

    List<String> during(Runnable work) {
        SENT.get().clear();
        work.run();
        return List.copyOf(SENT.get());
    }
}
