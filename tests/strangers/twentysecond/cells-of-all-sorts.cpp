#include <iostream>
#include <string>
int main()
{
    // a pointer to one number
    int *ptr = new int;
    *ptr = 10;
    std::cout << "Value: " << *ptr << std::endl;
    int x = *ptr;
    x++;
    std::cout << x << " " << *ptr << std::endl;
    std::string *name = new std::string("Fern");
    *name += "hollow";
    std::cout << *name << " " << name->size() << " " << (*name)[0] << std::endl;
    bool *flag = new bool(false);
    if (!*flag) std::cout << "not yet" << std::endl;
    char *letter = new char('k');
    std::cout << *letter << std::endl;
    delete ptr;
    ptr = NULL;
    delete name; delete flag; delete letter;
    return 0;
}
