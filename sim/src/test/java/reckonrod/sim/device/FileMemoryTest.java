package reckonrod.sim.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import reckonrod.core.image.MemoryImage;

class FileMemoryTest {
    private final MemoryImage before = MemoryImage.of(new byte[4096]);
    private final MemoryImage after = MemoryImage.of(filled());

    private static byte[] filled() {
        byte[] bytes = new byte[4096];
        java.util.Arrays.fill(bytes, (byte) 0x5A);
        return bytes;
    }

    @Test
    void theMemoryIsKeptBetweenStartsAndAForeignFileIsRefused(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("radios/blue.memory");
        new FileMemory(file, before).replace(after);
        assertThat(new FileMemory(file, before).image()).isEqualTo(after);
        Files.write(file, new byte[7]);
        assertThatThrownBy(() -> new FileMemory(file, before)).hasMessageContaining("must have 4096 bytes, was 7");
    }
}
