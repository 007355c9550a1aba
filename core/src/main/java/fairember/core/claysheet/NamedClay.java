package fairember.core.claysheet;

import fairember.core.quantity.Density;

/** A mix as far as sheets, canes and cords need to know it. */
public record NamedClay(String name, Density density) {}
