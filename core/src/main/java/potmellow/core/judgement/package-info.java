/** What is sensed on a visit, and the verdict that follows: signs beat clocks. Nothing here is null. */
package potmellow.core.judgement;
