package pelluna.core.catalogue;

/**
 * A text of the catalogue, said in the reader's language where it has been translated.
 *
 * @param english as the catalogue has it, or as a keeper has written it
 */
public record CatalogueText(String english) {}
