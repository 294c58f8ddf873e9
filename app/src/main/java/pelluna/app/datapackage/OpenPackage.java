package pelluna.app.datapackage;

import java.io.FilterInputStream;
import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import pelluna.app.limits.Refused;
import pelluna.app.rows.PlanJson;
import tools.jackson.core.JacksonException;

/** A package that is read: nothing of it is written to the disk, and no more of it unpacked than there may be. */
final class OpenPackage implements AutoCloseable {
    /** Unpacked, of all files together. */
    private static final int MOST_MB = 400;

    private static final long MOST = MOST_MB * 1_000_000L;
    private static final int MOST_DESCRIPTOR = 4_000_000;
    /** Letters between two ends of lines: a plan that is kept has a hundredth of them. */
    private static final int LONGEST_LINE = 4_000_000;
    /** Of one table: a log of twenty years has a hundredth of them. */
    private static final int MOST_LINES = 2_000_000;

    private final ZipFile zip;
    private final Descriptor descriptor;
    private final Map<String, Descriptor.Resource> resources = new LinkedHashMap<>();
    private long left = MOST;

    /** @throws Refused, if it is none, or of a Pelluna that knows more */
    OpenPackage(Path file) throws IOException {
        zip = zip(file);
        descriptor = descriptor();
        if (descriptor.schema() == null || descriptor.resources() == null) {
            throw new Refused("file", new PackageRefusal.NoPackage());
        }
        if (descriptor.schema() > Tables.SCHEMA) {
            throw new Refused("file", new PackageRefusal.MadeByANewer());
        }
        descriptor.resources().forEach(r -> resources.put(r.name(), r));
    }

    private static ZipFile zip(Path file) {
        try {
            return new ZipFile(file.toFile(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new Refused("file", new PackageRefusal.NoPackage(), e);
        }
    }

    private Descriptor descriptor() throws IOException {
        ZipEntry entry = zip.getEntry(Descriptor.FILE);
        if (entry == null) {
            throw new Refused("file", new PackageRefusal.NoPackage());
        }
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] text = in.readNBytes(MOST_DESCRIPTOR);
            return PlanJson.MAPPER.readValue(text, Descriptor.class);
        } catch (JacksonException e) {
            throw new Refused("file", new PackageRefusal.NoPackage(), e);
        }
    }

    Optional<Descriptor.Resource> resource(String name) {
        return Optional.ofNullable(resources.get(name));
    }

    /** A file of it, whole. @throws Refused, if it is not there or not as it was written */
    byte[] bytes(Descriptor.Resource resource) throws IOException {
        try (InputStream in = open(resource)) {
            return in.readAllBytes();
        }
    }

    /** Does something with each row of a table. */
    @FunctionalInterface
    interface Rows {
        void read(CSVParser rows) throws IOException;
    }

    /** @throws Refused, if it is not there or not as it was written */
    void rows(Descriptor.Resource resource, Rows reader) throws IOException {
        try (InputStream in = open(resource);
                CSVParser rows = CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get()
                        .parse(new Lines(new InputStreamReader(in, StandardCharsets.UTF_8)))) {
            reader.read(rows);
        }
    }

    private InputStream open(Descriptor.Resource resource) throws IOException {
        ZipEntry entry = resource.path() == null ? null : zip.getEntry(resource.path());
        if (entry == null) {
            throw new Refused("file", new PackageRefusal.Damaged(String.valueOf(resource.path())));
        }
        return new Checked(zip.getInputStream(entry), resource);
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    /** Ends what has no end: a line that would fill the memory, or lines without number. */
    private static final class Lines extends FilterReader {
        private int sinceLast;
        private int lines;

        Lines(Reader in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            char[] one = new char[1];
            return read(one, 0, 1) < 0 ? -1 : one[0];
        }

        @Override
        public int read(char[] to, int start, int length) throws IOException {
            int read = super.read(to, start, length);
            for (int i = start; i < start + read; i++) {
                sinceLast = to[i] == '\n' ? 0 : sinceLast + 1;
                lines += to[i] == '\n' ? 1 : 0;
            }
            if (sinceLast > LONGEST_LINE || lines > MOST_LINES) {
                throw new Refused("file", new PackageRefusal.TooLarge(MOST_MB));
            }
            return read;
        }
    }

    /** Counts what is unpacked, and holds it against its sum at its end. */
    private final class Checked extends FilterInputStream {
        private final Descriptor.Resource resource;
        private final MessageDigest sum;

        Checked(InputStream in, Descriptor.Resource resource) {
            this(in, resource, sha256());
        }

        private Checked(InputStream in, Descriptor.Resource resource, MessageDigest sum) {
            super(new DigestInputStream(in, sum));
            this.resource = resource;
            this.sum = sum;
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
        }

        @Override
        public int read(byte[] to, int start, int length) throws IOException {
            int read = super.read(to, start, length);
            if (read < 0) {
                String found = "sha256:" + HexFormat.of().formatHex(copy(sum).digest());
                if (resource.hash() != null && !resource.hash().equals(found)) {
                    throw new Refused("file", new PackageRefusal.Damaged(resource.path()));
                }
                return read;
            }
            left -= read;
            if (left < 0) {
                throw new Refused("file", new PackageRefusal.TooLarge(MOST_MB));
            }
            return read;
        }

        private static MessageDigest copy(MessageDigest sum) {
            try {
                return (MessageDigest) sum.clone();
            } catch (CloneNotSupportedException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
