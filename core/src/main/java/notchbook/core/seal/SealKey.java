package notchbook.core.seal;

import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.KeyPairGenerator;
import java.security.PrivateKey;
import java.security.Signature;
import java.security.interfaces.EdECPublicKey;
import java.security.spec.PKCS8EncodedKeySpec;
import java.util.HexFormat;

/**
 * A key that seals are signed with (Ed25519, RFC 8032): the 32 bytes that anybody may know, and the private part in PKCS #8,
 * which stays with the installation.
 */
public record SealKey(byte[] publicBytes, byte[] privateBytes) {
    private static final String ALGORITHM = "Ed25519";
    private static final int KEY_BYTES = 32;

    public static SealKey make() {
        try {
            var pair = KeyPairGenerator.getInstance(ALGORITHM).generateKeyPair();
            return new SealKey(
                    raw((EdECPublicKey) pair.getPublic()), pair.getPrivate().getEncoded());
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("Every Java platform from 15 on has Ed25519.", missing);
        }
    }

    /** The signature over a text, 64 bytes. */
    public byte[] sign(byte[] text) {
        try {
            var signature = Signature.getInstance(ALGORITHM);
            signature.initSign(privateKey());
            signature.update(text);
            return signature.sign();
        } catch (GeneralSecurityException broken) {
            throw new IllegalStateException("The key that seals are signed with can't be used.", broken);
        }
    }

    public PrivateKey privateKey() {
        try {
            return KeyFactory.getInstance(ALGORITHM).generatePrivate(new PKCS8EncodedKeySpec(privateBytes));
        } catch (GeneralSecurityException broken) {
            throw new IllegalStateException("The key that seals are signed with can't be read.", broken);
        }
    }

    /** What a key is known by: the first 16 hexadecimal digits of the SHA-256 of its public part. */
    public static String fingerprint(byte[] publicBytes) {
        return Sha256.hex(publicBytes).substring(0, 16);
    }

    /** A point on the curve as RFC 8032 writes it: y, lowest byte first, and whether x is odd in the highest bit. */
    private static byte[] raw(EdECPublicKey key) {
        var point = key.getPoint();
        var bytes = new byte[KEY_BYTES];
        var y = point.getY().toByteArray();
        for (var i = 0; i < Math.min(y.length, KEY_BYTES); i++) {
            bytes[i] = y[y.length - 1 - i];
        }
        if (point.isXOdd()) {
            bytes[KEY_BYTES - 1] |= (byte) 0x80;
        }
        return bytes;
    }

    @Override
    public String toString() {
        return "SealKey " + fingerprint(publicBytes) + " " + HexFormat.of().formatHex(publicBytes);
    }
}
