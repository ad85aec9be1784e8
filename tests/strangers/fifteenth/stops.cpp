#include <iostream>
#include <vector>
#include <string>
int main() {
    std::vector<std::string> beds = {"north", "south"};
    for (int i = 0; i <= 2; i++) {
        std::cout << i << ": " << beds.at(i) << std::endl;
    }
    return 0;
}
