from scrivlet import nib

COLOURS = ["rose", "sky", "leaf"]


def seedling(size):
    nib.dot(size)
    nib.lift()
    nib.forward(size * 2)
    nib.lower()


def row(count, size=6):
    for i in range(count):
        nib.ink(COLOURS[i % len(COLOURS)])
        seedling(size)


row(5)
nib.move_to(0, -40)
row(3, 10)
