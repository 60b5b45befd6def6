package notchbook.app.people;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.List;
import notchbook.app.platform.Refusal;

/**
 * How hard a password is to guess, by zxcvbn (Wheeler, "zxcvbn: Low-Budget Password Strength Estimation", USENIX Security
 * 2016), said in words.
 */
final class PasswordRule {
    /** Out of 4: held against a machine that tries slowly, over the network. */
    private static final int LEAST_SCORE = 2;

    private static final int SHORTEST = 8;

    /** More are cut off by nobody, but cost time to judge. In letters. */
    private static final int LONGEST = 100;

    private static final Zxcvbn ESTIMATE = new Zxcvbn();

    private PasswordRule() {}

    /** Judges a password of somebody whose names may be a part of it. */
    static OwnPasswords.Judgement judge(String password, String... names) {
        if (password.length() < SHORTEST) {
            return new OwnPasswords.Judgement(
                    false, "Too short. Take at least 8 letters; three or four words are best.");
        }
        if (password.length() > LONGEST) {
            return new OwnPasswords.Judgement(false, "Too long. 100 letters are the most.");
        }
        var score = ESTIMATE.measure(password, List.of(names)).getScore();
        return new OwnPasswords.Judgement(
                score >= LEAST_SCORE,
                switch (score) {
                    case 0, 1 -> "Easy to guess. Take three or four words that have nothing to do with each other.";
                    case 2 -> "Fair: nobody guesses it at the first few tries.";
                    case 3 -> "Good.";
                    default -> "Very good.";
                });
    }

    static void requireFit(String password, String... names) {
        var judgement = judge(password, names);
        if (!judgement.isFit()) {
            throw Refusal.unfit("This password does not do. " + judgement.words());
        }
    }
}
