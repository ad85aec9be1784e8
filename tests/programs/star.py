from scrivlet import nib

def star(points, size):
    nib.open_shape("marigold")
    for _ in range(points):
        nib.forward(size)
        nib.right(144)
    nib.close_shape()

nib.width(3)
star(5, 80)
nib.lift()
nib.move_to(-120, 60)
nib.lower()
star(5, 30)
