package tactus.formats.file;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Objects;

/**
 * Tells whether the contents of a file are still the same.
 *
 * @param hex the SHA-256 of the contents (NIST FIPS 180-4) in hexadecimal digits
 */
public record Checksum(String hex) {

    public Checksum {
        Objects.requireNonNull(hex);
    }

    /** @throws IOException if the file cannot be read */
    public static Checksum of(Path file) throws IOException {
        MessageDigest digest = digest();
        try (InputStream in = Files.newInputStream(file);
                var out = new DigestOutputStream(OutputStream.nullOutputStream(), digest)) {
            in.transferTo(out);
        }
        return new Checksum(HexFormat.of().formatHex(digest.digest()));
    }

    private static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException never) {
            throw new AssertionError("every Java has SHA-256", never);
        }
    }
}
