package notchbook.core.scan;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class JudgementTest {
    private static final Judgement GOOD = new Judgement(0.9, 0.8, 0, 0.7);

    @Test
    void saysNothingOfAGoodPhotoAndTheWorstOfABadOneFirst() {
        assertThat(GOOD.advice()).isEmpty();
        assertThat(new Judgement(0.3, 0.2, 0.1, 0.1).advice())
                .satisfiesExactly(
                        edges -> assertThat(edges).startsWith("Edges hard to see"),
                        blurred -> assertThat(blurred).startsWith("Blurred"),
                        glare -> assertThat(glare).startsWith("A lamp"),
                        dark -> assertThat(dark).startsWith("Very dark"));
    }

    @Test
    void takesTheSharperSurerPhotoWithoutALampForTheBetter() {
        assertThat(GOOD.quality()).isGreaterThan(new Judgement(0.9, 0.6, 0, 0.7).quality());
        assertThat(GOOD.quality()).isGreaterThan(new Judgement(0.4, 0.8, 0, 0.7).quality());
        assertThat(GOOD.quality()).isGreaterThan(new Judgement(0.9, 0.8, 0.01, 0.7).quality());
        assertThat(new Judgement(0, 0.5, 1, 0).quality()).isZero();
    }
}
