package reckonrod.server.lists;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import reckonrod.core.list.NamePart;
import reckonrod.core.list.NameRecipe;

/** A recipe for names as it is kept: its parts with blanks between them, and where distances are taken from. */
record NamingDocument(String parts, SpotDocument from) {
    static NamingDocument of(NameRecipe recipe) {
        return new NamingDocument(
                recipe.parts().stream().map(Enum::name).collect(Collectors.joining(" ")),
                recipe.from().map(SpotDocument::of).orElse(null));
    }

    /** The recipe; lists of before had five of them, with "AND" between the parts. */
    NameRecipe toRecipe() {
        List<NamePart> each = Arrays.stream(parts.replace("_AND_", " ").split(" "))
                .map(word -> word.equals("OUTPUT") ? NamePart.LISTEN : NamePart.valueOf(word))
                .toList();
        return new NameRecipe(each, Optional.ofNullable(from).map(SpotDocument::toSpot));
    }
}
