package notchbook.core.syllabus;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ExamYearsTest {
    @ParameterizedTest
    @ValueSource(strings = {"", "2028", "2028-", "-2027", "2027-2029"})
    void writesWhatItReads(String written) {
        assertThat(ExamYears.parse(written).orElseThrow().written()).isEqualTo(written);
    }
}
