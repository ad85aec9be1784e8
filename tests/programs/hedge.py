from scrivlet import nib

# A hedge of triangles along the path
nib.lift()
nib.move_to(-200, -40)
nib.lower()
for bush in range(6):
    for side in range(3):
        nib.forward(50)
        nib.left(120)
    nib.forward(60)
