def main():
    print("in main")
    helper()
main()
