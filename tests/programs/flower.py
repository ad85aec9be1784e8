from scrivlet import nib

def petal(size):
    for half in range(2):
        nib.forward(size)
        nib.left(45)
        nib.forward(size)
        nib.left(135)

inks = ["rose", "plum", "sky"]
for number in range(6):
    nib.ink(inks[number % len(inks)])
    petal(40)
    nib.left(60)
