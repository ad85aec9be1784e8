from scrivlet import nib

# one bed
for side in range(4):
    nib.forward(60)
    nib.left(90)
