package notchbook.formats.pdf;

import java.io.IOException;
import java.math.BigInteger;
import java.time.Instant;
import java.util.Date;
import notchbook.core.seal.SealKey;
import notchbook.core.seal.Statement;
import org.bouncycastle.asn1.ASN1EncodableVector;
import org.bouncycastle.asn1.ASN1Encoding;
import org.bouncycastle.asn1.ASN1GeneralizedTime;
import org.bouncycastle.asn1.DERSet;
import org.bouncycastle.asn1.DERUTF8String;
import org.bouncycastle.asn1.cms.Attribute;
import org.bouncycastle.asn1.cms.AttributeTable;
import org.bouncycastle.asn1.cms.CMSAttributes;
import org.bouncycastle.asn1.cms.CMSObjectIdentifiers;
import org.bouncycastle.asn1.cms.Time;
import org.bouncycastle.asn1.edec.EdECObjectIdentifiers;
import org.bouncycastle.asn1.ess.ContentHints;
import org.bouncycastle.asn1.pkcs.PKCSObjectIdentifiers;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.AlgorithmIdentifier;
import org.bouncycastle.asn1.x509.SubjectPublicKeyInfo;
import org.bouncycastle.cert.X509CertificateHolder;
import org.bouncycastle.cert.X509v3CertificateBuilder;
import org.bouncycastle.cms.CMSException;
import org.bouncycastle.cms.CMSProcessableByteArray;
import org.bouncycastle.cms.CMSSignedDataGenerator;
import org.bouncycastle.cms.DefaultSignedAttributeTableGenerator;
import org.bouncycastle.cms.jcajce.JcaSignerInfoGeneratorBuilder;
import org.bouncycastle.operator.ContentSigner;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;
import org.bouncycastle.operator.jcajce.JcaDigestCalculatorProviderBuilder;

/**
 * A detached signature with Ed25519 in the Cryptographic Message Syntax (RFC 5652, RFC 8419). The text of the seal stands in it
 * as content hints (RFC 2634, 2.9), and is signed with the rest.
 */
record CmsSignature(byte[] bytes) {
    static CmsSignature over(byte[] content, Statement says, SealKey key) {
        try {
            var signer = new JcaContentSignerBuilder("Ed25519").build(key.privateKey());
            var certificate = certificate(key, says.sealedAt(), signer);
            var generator = new CMSSignedDataGenerator();
            generator.addCertificate(certificate);
            generator.addSignerInfoGenerator(
                    new JcaSignerInfoGeneratorBuilder(new JcaDigestCalculatorProviderBuilder().build())
                            .setSignedAttributeGenerator(new DefaultSignedAttributeTableGenerator(attributes(says)))
                            .build(signer, certificate));
            return new CmsSignature(generator
                    .generate(new CMSProcessableByteArray(content), false)
                    .getEncoded(ASN1Encoding.DER));
        } catch (OperatorCreationException | CMSException | IOException broken) {
            throw new IllegalStateException("The key that seals are signed with can't be used.", broken);
        }
    }

    private static AttributeTable attributes(Statement says) {
        var hints = new ContentHints(CMSObjectIdentifiers.data, new DERUTF8String(says.text()));
        var attributes = new ASN1EncodableVector();
        attributes.add(new Attribute(CMSAttributes.signingTime, new DERSet(new Time(Date.from(says.sealedAt())))));
        attributes.add(new Attribute(PKCSObjectIdentifiers.id_aa_contentHint, new DERSet(hints)));
        return new AttributeTable(attributes);
    }

    /** The key's own certificate: nobody else vouches for it, and it has no end. */
    private static X509CertificateHolder certificate(SealKey key, Instant since, ContentSigner signer) {
        var name = new X500Name("CN=Notchbook " + SealKey.fingerprint(key.publicBytes()));
        return new X509v3CertificateBuilder(
                        name,
                        BigInteger.ONE,
                        new org.bouncycastle.asn1.x509.Time(Date.from(since)),
                        new org.bouncycastle.asn1.x509.Time(new ASN1GeneralizedTime("99991231235959Z")),
                        name,
                        new SubjectPublicKeyInfo(
                                new AlgorithmIdentifier(EdECObjectIdentifiers.id_Ed25519), key.publicBytes()))
                .build(signer);
    }
}
