package notchbook.core.collection;

import notchbook.core.view.By;

/** Something by which the things of a collection are told apart, with what it is called and its unit (blank where there is none). */
public record ViewColumn(By by, String name, String unit) {
    String words(String value) {
        return ValueWords.of(by.scale(), unit, value);
    }
}
