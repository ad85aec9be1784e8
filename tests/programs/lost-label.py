"""The bed of a label may be missing."""
bed = None
if bed is None:
    print("no bed yet")
bed = 4
if bed is not None:
    print(bed + 1)
