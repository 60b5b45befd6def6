package notchbook.core.seal;

import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.Signature;
import java.security.spec.X509EncodedKeySpec;
import java.util.HexFormat;

/** A signature with the public key that it is to be checked by. */
public record Signed(byte[] publicKey, byte[] signature) {
    /** What stands before the 32 bytes of an Ed25519 key in X.509 (RFC 8410). */
    private static final byte[] X509_HEAD = HexFormat.of().parseHex("302a300506032b6570032100");

    /** Whether this signs exactly this text. */
    public boolean holdsFor(byte[] text) {
        try {
            var encoded = new byte[X509_HEAD.length + publicKey.length];
            System.arraycopy(X509_HEAD, 0, encoded, 0, X509_HEAD.length);
            System.arraycopy(publicKey, 0, encoded, X509_HEAD.length, publicKey.length);
            var check = Signature.getInstance("Ed25519");
            check.initVerify(KeyFactory.getInstance("Ed25519").generatePublic(new X509EncodedKeySpec(encoded)));
            check.update(text);
            return check.verify(signature);
        } catch (GeneralSecurityException unreadable) {
            // A key or a signature of another form signs nothing.
            return false;
        }
    }
}
