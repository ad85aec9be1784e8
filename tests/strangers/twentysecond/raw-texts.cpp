#include <iostream>
using namespace std;
int main() {
    cout << R"(a "raw" one\n)" << endl;
    cout << R"x(a )" b)x" << endl;
    string s = R"(two
lines)";
    cout << s << endl;
}
