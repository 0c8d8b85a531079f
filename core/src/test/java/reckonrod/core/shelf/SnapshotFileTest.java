package reckonrod.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reckonrod.core.image.MemoryImage;

class SnapshotFileTest {
    private static final SnapshotFile FILE = new SnapshotFile(
            "kestrow-k31",
            "K31 · green",
            Instant.parse("2025-11-02T09:15:00Z"),
            "Read from the radio",
            "before the\nrace",
            image());

    private static MemoryImage image() {
        byte[] bytes = new byte[300];
        new Random(4).nextBytes(bytes);
        return MemoryImage.of(bytes);
    }

    @Test
    void itComesBackAsItWentOutWhateverTheLineEnds() {
        assertThat(SnapshotFile.read(FILE.text())).isEqualTo(FILE);
        assertThat(FILE.note()).isEqualTo("before the race");
        assertThat(SnapshotFile.read("\uFEFF" + FILE.text().replace("\n", "\r\n")))
                .isEqualTo(FILE);
    }

    /** Any character changed, lost or doubled is told, or changes nothing that is read. */
    @Test
    void noDamageGoesUnnoticed() {
        String text = FILE.text();
        for (int at = 0; at < text.length(); at++) {
            for (String damaged : new String[] {
                text.substring(0, at) + (text.charAt(at) == 'A' ? 'B' : 'A') + text.substring(at + 1),
                text.substring(0, at) + text.substring(at + 1),
                text.substring(0, at)
            }) {
                SnapshotFile read;
                try {
                    read = SnapshotFile.read(damaged);
                } catch (IllegalArgumentException told) {
                    assertThat(told.getMessage()).isNotBlank();
                    continue;
                }
                assertThat(read).as("damaged at %d", at).isEqualTo(FILE);
            }
        }
    }

    @Test
    void whatIsNoSnapshotIsNamed() {
        assertThatThrownBy(() -> SnapshotFile.read("name;listen\nSKARRA;145.310"))
                .hasMessageContainingAll("no snapshot", "name;listen");
        assertThatThrownBy(() -> SnapshotFile.read("")).hasMessageContaining("no snapshot");
    }
}
