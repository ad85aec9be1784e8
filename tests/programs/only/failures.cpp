#include <iostream>
#include <stdexcept>
#include <string>
#include <vector>
using namespace std;

double divide(double a, double b) {
    if (b == 0) {
        throw runtime_error("Division by zero!");
    }
    return a / b;
}

int main() {
    try {
        cout << divide(10, 4) << endl;
        cout << divide(1, 0) << endl;
    } catch (const runtime_error& e) {
        cout << "Error: " << e.what() << endl;
    }
    try {
        vector<int> v = {1, 2, 3};
        cout << v.at(1) << endl;
        cout << v.at(7) << endl;
    } catch (const out_of_range& e) {
        cout << "index problem" << endl;
    }
    string words[] = {"12", "abc"};
    for (int i = 0; i < 2; i++) {
        try {
            int n = stoi(words[i]);
            cout << n * 2 << endl;
        } catch (invalid_argument &e) {
            cout << words[i] << " is not a number (" << e.what() << ")" << endl;
        } catch (...) {
            cout << "something else" << endl;
        }
    }
    try {
        throw 42;
    } catch (int code) {
        cout << "code " << code << endl;
    }
    try {
        throw "plain text";
    } catch (const char* msg) {
        cout << msg << endl;
    }
    try {
        try {
            throw std::invalid_argument("inner");
        } catch (const std::exception& ex) {
            std::cout << "rethrow " << ex.what() << std::endl;
            throw;
        }
    } catch (const std::logic_error& ex) {
        string m = ex.what();
        cout << "outer " + m << endl;
    }
    return 0;
}
