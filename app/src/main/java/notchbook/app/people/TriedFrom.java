package notchbook.app.people;

/** Where somebody tries to sign in from. */
sealed interface TriedFrom {
    /** The name under which its failed tries are counted. */
    String source();

    /** A device on which this person has signed in before, by the digest of its secret. */
    record KnownDevice(String secretSha256) implements TriedFrom {
        @Override
        public String source() {
            return "device " + secretSha256.substring(0, 32);
        }
    }

    /** Any other, by its address. */
    record Elsewhere(String address) implements TriedFrom {
        @Override
        public String source() {
            return address;
        }
    }
}
