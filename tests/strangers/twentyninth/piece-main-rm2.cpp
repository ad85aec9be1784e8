#include <iostream>
#include <cstdlib>
using namespace std;
bool ok = false;
int main(int argc, char* argv[]) {
    cout << "x" << endl;
    return ok ? EXIT_SUCCESS : EXIT_FAILURE;
}
