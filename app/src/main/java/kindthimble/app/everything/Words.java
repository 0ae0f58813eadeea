package kindthimble.app.everything;

/** What the archive says of itself. */
final class Words {
    static final String README = """
            All that a shop has in Kind Thimble. JSON files are UTF-8; lengths are in mm, amounts in grams, counts in seconds.

            format.json           the version of these files: 1
            shop.json             the shop's own figures, schools, words, tips, and how it writes dates and money
            recipes.json          base recipes that the shop has changed or made
            shelf.json            stock by name; jars of left-over icing; bottles of gel with their swatches
            notebook.json         notes of what was measured, and figures that are held or put back
            library.json          designs kept for other orders, their colours as roles
            cutters.json          the shop's own cutters
            orders/<uid>.json     an order each: what is said of it, its palette, its designs with their counts
            palettes/<uid>.gpl    its colours as a text palette: red, green, blue, name
            orders.csv            a line for each order, for a spreadsheet

            Plans that were kept when mixing started, and what is being mixed together, are not in it.
            To bring it in: the page "Everything in and out" of any shop. What is new comes in; what is the same stays; of what
            clashes you say which one stays.
            """;

    private Words() {}
}
