package com.zestythumb.app.http;

import jakarta.annotation.PostConstruct;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.Base64;
import javax.crypto.Cipher;
import javax.crypto.Mac;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Seals the codes of links with a key that is not in the database, so that whoever reads the database or a copy of it can open no link. The same code is sealed alike, so that it is found by its seal (AES-GCM with a nonce made of the code, as in
 * RFC 8452's thought).
 */
@Component
class Seal {

    private static final String MARK = "s:";
    private static final int NONCE = 12;
    private static final int TAG_BITS = 128;
    private static final int KEY = 16;
    private static final Logger LOG = LoggerFactory.getLogger(Seal.class);

    private static volatile Seal ofStudio;

    private final SecretKeySpec key;
    private final SecretKeySpec forNonces;

    /**
     * With a key of its own.
     *
     * @param secret the studio's secret; that of the database where none is told
     */
    Seal(@Value("${zesty.links.key}") String secret) {
        byte[] digest = digest("zesty-thumb links " + secret);
        key = new SecretKeySpec(Arrays.copyOf(digest, KEY), "AES");
        forNonces = new SecretKeySpec(Arrays.copyOfRange(digest, KEY, 2 * KEY), "HmacSHA256");
    }

    /** The studio's own, for those that no container makes. */
    @PostConstruct
    void becomeTheOne() {
        ofStudio = this;
    }

    static Seal ofStudio() {
        return ofStudio;
    }

    private static byte[] digest(String text) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    static boolean isSealed(String kept) {
        return kept.startsWith(MARK);
    }

    String seal(String code) {
        if (code == null) {
            return null;
        }
        try {
            byte[] plain = code.getBytes(StandardCharsets.UTF_8);
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(forNonces);
            byte[] nonce = Arrays.copyOf(mac.doFinal(plain), NONCE);
            byte[] sealed = cipher(Cipher.ENCRYPT_MODE, nonce).doFinal(plain);
            ByteBuffer both =
                    ByteBuffer.allocate(NONCE + sealed.length).put(nonce).put(sealed);
            return MARK + Base64.getUrlEncoder().withoutPadding().encodeToString(both.array());
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What another key sealed leads nowhere any more: a code that nobody has. */
    String open(String kept) {
        if (kept == null || !isSealed(kept)) {
            return kept;
        }
        try {
            byte[] both = Base64.getUrlDecoder().decode(kept.substring(MARK.length()));
            byte[] nonce = Arrays.copyOf(both, NONCE);
            byte[] plain = cipher(Cipher.DECRYPT_MODE, nonce).doFinal(both, NONCE, both.length - NONCE);
            return new String(plain, StandardCharsets.UTF_8);
        } catch (GeneralSecurityException e) {
            LOG.warn("a link was sealed with another key; renew it, or start the app with the key of then");
            return kept.substring(MARK.length(), MARK.length() + 2 * KEY).replace('.', '-');
        }
    }

    private Cipher cipher(int mode, byte[] nonce) throws GeneralSecurityException {
        Cipher cipher = Cipher.getInstance("AES/GCM/NoPadding");
        cipher.init(mode, key, new GCMParameterSpec(TAG_BITS, nonce));
        return cipher;
    }
}
