package notchbook.core.mark;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;

/** Which tasks a week shows. */
public final class WeekTasks {
    private static final int LAST_DAY = 6;

    private WeekTasks() {}

    /**
     * Tasks due within the week of {@code monday}, done or not; in the week that holds {@code today} also those that are
     * late, and those without a date that are still open. The earliest date first, those without one last.
     */
    public static <T> List<T> of(List<T> all, Function<T, Mark.Task> task, LocalDate monday, LocalDate today) {
        var sunday = monday.plusDays(LAST_DAY);
        var isNow = !today.isBefore(monday) && !today.isAfter(sunday);
        return all.stream()
                .filter(one -> isShown(task.apply(one), monday, sunday, isNow))
                .sorted(Comparator.comparing(one -> task.apply(one).due().orElse(LocalDate.MAX)))
                .toList();
    }

    private static boolean isShown(Mark.Task task, LocalDate monday, LocalDate sunday, boolean isNow) {
        var isWithin = task.due()
                .filter(day -> !day.isBefore(monday) && !day.isAfter(sunday))
                .isPresent();
        var isLeftOver = task.due().filter(day -> day.isBefore(monday)).isPresent()
                || task.due().isEmpty();
        return isWithin || isNow && isLeftOver && task.isOpen();
    }
}
