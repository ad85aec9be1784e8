#include<iostream>
using namespace std;
int main(){
int*p=new int(8);int *averyveryverylongnameofapointerthatgoesonandonandonforever{new int{4}};
  *p=*p**averyveryverylongnameofapointerthatgoesonandonandonforever ;cout<<*p<<" "<< * p <<endl ;
  if(p!=nullptr&&*p>3)cout<<"big"<<endl;
  delete p;delete  averyveryverylongnameofapointerthatgoesonandonandonforever;
}
