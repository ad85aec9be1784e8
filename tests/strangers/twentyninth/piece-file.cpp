#include <fstream>
#include <iostream>
#include <cstdio>
#include <string>
using namespace std;
int main() {
    ofstream out("b.txt"); out << "hi"; out.close();
    string name = "b.txt";
    remove(name.c_str());
    std::remove("none.txt");
    ifstream in("b.txt");
    cout << (in ? "there" : "gone") << endl;
}
