try:
    missing_name
except NameError as e:
    print("caught", e)
def f():
    try:
        other
    except NameError as error:
        print(type(error).__name__, error)
f()
