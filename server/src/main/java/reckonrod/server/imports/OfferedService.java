package reckonrod.server.imports;

import java.util.Optional;

/** A directory service that can be pulled as a whole. */
public interface OfferedService {
    /** Its source name, which begins the keys of its entries; no file may have it. */
    String source();

    /** Where it is asked, as an HTTP address that ends with a stroke; empty if there is none here. */
    Optional<String> address();
}
