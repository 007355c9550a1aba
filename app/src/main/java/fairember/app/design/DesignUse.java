package fairember.app.design;

import fairember.core.design.MeasuredDesign;

/** Something that is made of designs, and cannot be made of every one. */
public interface DesignUse {
    /**
     * Refuses a design that what uses it could not be made of any more.
     *
     * @throws fairember.core.input.InvalidInputException with what is wrong
     */
    void check(MeasuredDesign changed);
}
