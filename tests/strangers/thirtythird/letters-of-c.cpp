#include <iostream>
#include <cstring>
void label(char* to, const char* from) {
    strncpy(to, from, 5);
    to[5] = '\0';
}
int main() {
    char buffer[32] = "hello";
    strncat(buffer, " world", 3);
    std::cout << buffer << " " << strlen(buffer) << std::endl;
    char b2[10];
    strncpy(b2, "abcdefghijk", 4);
    b2[4] = '\0';
    std::cout << b2 << " " << (strncmp(b2, "abcx", 3) == 0) << (strncmp("abd", "abc", 3) > 0) << std::endl;
    char b3[20] = "garden fork";
    strncpy(b3, "GAR", 3);
    std::cout << b3 << std::endl;
    strncpy(b3, "pot", 10);
    std::cout << b3 << "|" << std::endl;
    char l[10];
    label(l, "marigold");
    std::cout << l << std::endl;
    if (!strncmp(b3, "po", 2)) std::cout << "starts" << std::endl;
}
