#include <iostream>
int main()
{
    int x = 1;
    {
        int x = 2;
        std::cout << x << "\n";
        {
            int y = x + 1; // inner
            std::cout << y << std::endl;
        }
    }
    for (int i = 0, j = 10; i < j; i += 3, --j) std::cout << i << " " << j << "\n";
    std::cout << x << "\n";
    return EXIT_SUCCESS;
}
