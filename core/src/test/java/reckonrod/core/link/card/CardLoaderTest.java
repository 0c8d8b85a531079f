package reckonrod.core.link.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import reckonrod.core.definition.LinkDefinition.MemoryCard;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Folder;
import reckonrod.core.link.Identity;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.link.card.CardIndex.By;

class CardLoaderTest {
    private static final RadioDefinition KM90 =
            RadioDefinitions.shipped().find("kestrow-km90").orElseThrow();
    private static final LocalDateTime THEN = LocalDateTime.of(2025, 4, 30, 21, 5);
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 3, 10, 22);

    private final Held card = new Held();
    private final Watch watch = new Watch();
    private final MemoryImage held = image(3);
    private final MemoryImage wanted = image(4);

    private static MemoryImage image(int filler) {
        byte[] bytes = new byte[KM90.layout().bytes()];
        Arrays.fill(bytes, (byte) filler);
        return MemoryImage.of(bytes);
    }

    /** A card in memory, which may be full or spoil what it is given. */
    private static final class Held implements Folder {
        private final TreeMap<String, byte[]> files = new TreeMap<>();
        private int writesLeft = Integer.MAX_VALUE;
        private boolean worn;

        @Override
        public List<String> find(String folder, String file) {
            return files.keySet().stream()
                    .filter(each -> each.substring(each.lastIndexOf('/') + 1).equalsIgnoreCase(file))
                    .toList();
        }

        @Override
        public Optional<byte[]> read(String name) {
            return Optional.ofNullable(files.get(name));
        }

        @Override
        public void replace(String path, byte[] bytes) throws IOException {
            assertThat(files).as("only what is there is replaced").containsKey(path);
            write(path, bytes);
        }

        @Override
        public void create(String path, byte[] bytes) throws IOException {
            if (files.containsKey(path)) {
                throw new IOException(path + " exists");
            }
            write(path, bytes);
        }

        private void write(String name, byte[] bytes) throws IOException {
            if (writesLeft-- <= 0) {
                throw new IOException("the card is full");
            }
            byte[] kept = bytes.clone();
            if (worn) {
                kept[17] ^= 1;
            }
            files.put(name, kept);
        }
    }

    private static final class Watch implements TransferWatch {
        private MemoryImage wasRead;
        private Identity there;
        private boolean writing;

        @Override
        public void progress(Phase phase, int bytesDone, int bytesTotal) {}

        @Override
        public Optional<Stop> stop() {
            return Optional.empty();
        }

        @Override
        public void memoryWasRead(MemoryImage memory) {
            wasRead = memory;
        }

        @Override
        public void isThere(Identity identity) {
            there = identity;
        }

        @Override
        public Optional<Stop> writingBegins() {
            writing = true;
            return Optional.empty();
        }
    }

    private void export(String folder, String radio, By by, MemoryImage image) throws IOException {
        card.write(folder + "MEMORY.BIN", image.toBytes());
        card.write(
                folder + "INDEX.TXT",
                new CardIndex(radio, by, THEN, "MEMORY.BIN", image.size(), image.cyclicSum()).text());
    }

    private CardLoader loader() {
        return new CardLoader(KM90, (MemoryCard) KM90.line().family(), card, watch, NOW);
    }

    private void assertToldOnRead(Fault fault, String... words) {
        assertThatThrownBy(() -> loader().read())
                .isInstanceOfSatisfying(
                        LinkException.class, told -> assertThat(told.fault()).isEqualTo(fault))
                .hasMessageContainingAll(words);
    }

    /** Opened at its top, at its folder, or copied into some other folder; small letters or capitals. */
    @Test
    void aCardIsReadWhereverItIsOpenedAndSaysHowOldItIs() throws IOException, LinkException {
        for (String folder : List.of("KM90/", "", "copies/from the car/KM90/", "km90/")) {
            card.files.clear();
            export(folder, "KESTROW KM90 1.12", By.RADIO, held);
            assertThat(loader().read()).isEqualTo(held);
            assertThat(watch.wasRead).isEqualTo(held);
            assertThat(watch.there.word().orElseThrow()).contains("2025-04-30 21:05");
        }
        card.files.clear();
        card.write("km90/memory.bin", held.toBytes());
        card.write(
                "km90/index.txt",
                new CardIndex("KESTROW KM90 1.12", By.RADIO, THEN, "MEMORY.BIN", 16384, held.cyclicSum()).text());
        assertThat(loader().read()).isEqualTo(held);
    }

    @Test
    void whatIsWrongWithACardIsTold() throws IOException {
        assertToldOnRead(Fault.CARD, "Nothing of a Kestrow KM90", "KM90/INDEX.TXT");
        card.write("KM90/MEMORY.BIN", held.toBytes());
        assertToldOnRead(Fault.CARD, "KM90/MEMORY.BIN", "no INDEX.TXT beside it");
        export("KM90/", "KESTROW KM90 1.12", By.RADIO, held);
        card.files.remove("KM90/MEMORY.BIN");
        assertToldOnRead(Fault.CARD, "MEMORY.BIN", "not beside it");
        card.write("KM90/MEMORY.BIN", Arrays.copyOf(held.toBytes(), 9_000));
        assertToldOnRead(Fault.CARD, "9000 bytes", "only in part");
        card.write("KM90/MEMORY.BIN", wanted.toBytes());
        assertToldOnRead(Fault.CARD, "does not match");
        export("KM90/", "KESTROW KM9 1.12", By.RADIO, held);
        assertToldOnRead(Fault.OTHER_MODEL, "KESTROW KM9 1.12");
        export("KM90/", "KESTROW KM90 2.00", By.RADIO, held);
        assertToldOnRead(Fault.OTHER_FIRMWARE, "2.00");
        export("KM90/", "KESTROW KM90 1.12", By.PROGRAM, held);
        assertToldOnRead(Fault.CARD, "not what the radio holds", "2025-04-30");
        export("old/", "KESTROW KM90 1.12", By.RADIO, held);
        assertToldOnRead(Fault.CARD, "more than one memory", "KM90/INDEX.TXT", "old/INDEX.TXT");
        card.files.clear();
        card.write("KM90/INDEX.TXT", "radio: KESTROW KM90 1.12\nsum: XYZ".getBytes(StandardCharsets.US_ASCII));
        assertToldOnRead(Fault.CARD, "INDEX.TXT", "written by");
        for (String name : List.of("../OTHER.BIN", ".bashrc", "/etc/passwd", "OTHER.BIN")) {
            card.files.clear();
            card.write("OTHER.BIN", held.toBytes());
            card.write("KM90/OTHER.BIN", held.toBytes());
            card.write("KM90/MEMORY.BIN", held.toBytes());
            card.write(
                    "KM90/INDEX.TXT",
                    new CardIndex("KESTROW KM90 1.12", By.RADIO, THEN, name, 16384, held.cyclicSum()).text());
            assertToldOnRead(Fault.CARD, "INDEX.TXT", name);
            assertThatThrownBy(() -> loader().write(held, wanted)).hasMessageContaining(name);
        }
    }

    /** Only an index proves that a file is the radio's own; without one, whatever has its name belongs to somebody. */
    @Test
    void nothingIsOverwrittenThatNoIndexProves() throws IOException {
        for (String mine : List.of("KM90/MEMORY.BIN", "MEMORY.BIN", "km90/memory.bin")) {
            card.files.clear();
            card.write(mine, new byte[] {7});
            assertThatThrownBy(() -> loader().write(held, wanted)).hasMessageContaining("has no INDEX.TXT beside it");
            assertThatThrownBy(() -> loader().restore(wanted)).hasMessageContaining("has no INDEX.TXT beside it");
            assertThat(card.files).containsOnlyKeys(mine);
        }
        card.files.clear();
        card.write("KM90/INDEX.TXT", "notes of mine".getBytes(StandardCharsets.US_ASCII));
        assertThatThrownBy(() -> loader().restore(wanted)).hasMessageContaining("has no line");
        assertThat(card.files).hasSize(1);
    }

    @Test
    void twoFilesThatDifferOnlyByCaseAreTold() throws IOException {
        export("KM90/", "KESTROW KM90 1.12", By.RADIO, held);
        card.write("KM90/memory.bin", held.toBytes());
        assertToldOnRead(Fault.CARD, "differ only by case");
        card.files.remove("KM90/memory.bin");
        export("km90/", "KESTROW KM90 1.12", By.RADIO, wanted);
        assertToldOnRead(Fault.CARD, "more than one memory");
    }

    /** It is written, read back, marked as not from the radio; nothing is in the radio by that. */
    @Test
    void aWrittenCardIsMarkedAndNotTakenForTheRadio() throws IOException, LinkException {
        export("KM90/", "KESTROW KM90 1.12", By.RADIO, held);
        assertThat(loader().write(held, wanted)).isEqualTo(wanted);
        assertThat(loader().leavesTheRest()).isTrue();
        assertThat(watch.writing).isFalse();
        assertThat(card.files.get("KM90/MEMORY.BIN")).isEqualTo(wanted.toBytes());
        assertThat(CardIndex.read(card.files.get("KM90/INDEX.TXT")))
                .isEqualTo(
                        new CardIndex("KESTROW KM90 1.12", By.PROGRAM, NOW, "MEMORY.BIN", 16384, wanted.cyclicSum()));
        assertToldOnRead(Fault.CARD, "Take it in on the radio");
        assertThat(loader().write(held, held))
                .as("what was written here is written over")
                .isEqualTo(held);
        card.files.clear();
        assertThat(loader().write(held, wanted)).as("an empty card").isEqualTo(wanted);
    }

    /** A copy that lies deeper is read and never written over: the radio would not look there. */
    @Test
    void aCopyIsNotWrittenOver() throws IOException, LinkException {
        export("copies/KM90/", "KESTROW KM90 1.12", By.RADIO, held);
        assertThat(loader().read()).isEqualTo(held);
        for (ThrowingCallable write :
                List.<ThrowingCallable>of(() -> loader().write(held, wanted), () -> loader().restore(wanted))) {
            assertThatThrownBy(write)
                    .isInstanceOfSatisfying(
                            LinkException.class,
                            told -> assertThat(told.fault()).isEqualTo(Fault.CARD))
                    .hasMessageContaining("a copy, in copies/KM90/, where a Kestrow KM90 does not look");
        }
        assertThat(card.files).hasSize(2);
        assertThat(card.files.get("copies/KM90/MEMORY.BIN")).isEqualTo(held.toBytes());
    }

    /** Opened at its folder or with small letters: it goes where the radio's own lies, and is found there again. */
    @Test
    void itIsWrittenWhereTheRadiosOwnLies() throws IOException, LinkException {
        for (String folder : List.of("KM90/", "", "km90/")) {
            card.files.clear();
            export(folder, "KESTROW KM90 1.12", By.RADIO, held);
            assertThat(loader().write(held, wanted)).isEqualTo(wanted);
            assertThat(card.files).containsOnlyKeys(folder + "MEMORY.BIN", folder + "INDEX.TXT");
            assertThat(card.files.get(folder + "MEMORY.BIN")).isEqualTo(wanted.toBytes());
            assertThat(loader().restore(held)).isEqualTo(held);
            assertThat(card.files).hasSize(2);
        }
        card.files.clear();
        card.write("km90/memory.bin", held.toBytes());
        card.write(
                "km90/index.txt",
                new CardIndex("KESTROW KM90 1.12", By.RADIO, THEN, "MEMORY.BIN", 16384, held.cyclicSum()).text());
        assertThat(loader().write(held, wanted)).isEqualTo(wanted);
        assertThat(card.files).containsOnlyKeys("km90/memory.bin", "km90/index.txt");
    }

    @Test
    void aCardThatTheRadioExportedToSinceOrThatIsBrokenIsNotWrittenOver() throws IOException {
        export("KM90/", "KESTROW KM90 1.12", By.RADIO, image(9));
        assertThatThrownBy(() -> loader().write(held, wanted)).hasMessageContaining("something else");
        assertThat(watch.wasRead).isEqualTo(image(9));
        card.write("KM90/MEMORY.BIN", new byte[4]);
        assertThatThrownBy(() -> loader().write(held, wanted)).hasMessageContaining("4 bytes");
        assertThatThrownBy(() -> loader().restore(wanted)).hasMessageContaining("4 bytes");
        assertThat(card.files.get("KM90/MEMORY.BIN")).hasSize(4);
    }

    /** Full after the memory and before its text: the radio finds that they do not agree and takes nothing. */
    @Test
    void aFullOrWornCardIsToldAndLeavesTheRadioAlone() throws IOException {
        export("KM90/", "KESTROW KM90 1.12", By.RADIO, held);
        card.writesLeft = 1;
        assertThatThrownBy(() -> loader().write(held, wanted))
                .isInstanceOfSatisfying(
                        LinkException.class, told -> assertThat(told.fault()).isEqualTo(Fault.CARD_REFUSED))
                .hasMessageContaining("the card is full");
        assertToldOnRead(Fault.CARD, "does not match");
        card.writesLeft = Integer.MAX_VALUE;
        card.files.clear();
        card.worn = true;
        assertThatThrownBy(() -> loader().write(held, wanted)).isInstanceOf(LinkException.class);
    }
}
